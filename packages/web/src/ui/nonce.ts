/** What the server's policy asks of style sheets that a page makes itself. */
export const nonce = document.querySelector('meta[name="csp-nonce"]')?.getAttribute('content') ?? ''
