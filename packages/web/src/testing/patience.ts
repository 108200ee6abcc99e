import { configure } from '@testing-library/react'

// A page on a busy machine takes its time; waiting longer costs nothing where all is well.
// Files share the page's modules, so what one of them configured would hold for the next: each begins alike.
configure({ asyncUtilTimeout: 20_000, defaultHidden: false })
