interface Described {
  readonly summary: string
  readonly operationId: string
  readonly tags: readonly string[]
  readonly parameters?: readonly {
    readonly name: string
    readonly in: string
    readonly required?: boolean
    readonly description?: string
  }[]
  readonly requestBody?: { readonly content: Readonly<Record<string, { readonly schema?: unknown }>> }
  readonly responses: Readonly<
    Record<string, { readonly description: string; readonly content?: Readonly<Record<string, { readonly schema?: unknown }>> }>
  >
}
interface Description {
  readonly info: { readonly title: string; readonly version: string; readonly description: string }
  readonly tags: readonly { readonly name: string }[]
  readonly paths: Readonly<Record<string, Readonly<Record<string, Described>>>>
  readonly components: { readonly schemas: Readonly<Record<string, unknown>> }
}

const escaped = (text: string): string =>
  text.replace(/[&<>"]/g, (sign) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[sign] ?? sign)
const POINTER = '#/components/schemas/'

/** What a body is: the name of its schema where it has one. */
function bodyOf(content: Readonly<Record<string, { readonly schema?: unknown }>>): string {
  return Object.entries(content)
    .map(([media, { schema }]) => {
      const pointer = (schema as { $ref?: string; items?: { $ref?: string } } | undefined)?.$ref
      const items = (schema as { items?: { $ref?: string } } | undefined)?.items?.$ref
      const name = (pointer ?? items)?.slice(POINTER.length)
      const what = name === undefined ? '' : ` <a href="#${name}">${name}</a>${pointer === undefined ? ' (list)' : ''}`
      return `<code>${escaped(media)}</code>${what}`
    })
    .join(', ')
}

function operationRow(path: string, method: string, operation: Described): string {
  const parameters = (operation.parameters ?? []).map(
    ({ name, in: where, required }) => `<li><code>${escaped(name)}</code> in ${where}${required === true ? '' : ', optional'}</li>`,
  )
  const answers = Object.entries(operation.responses).map(
    ([status, { description, content }]) =>
      `<li><code>${status}</code> ${escaped(description)}${content === undefined ? '' : `: ${bodyOf(content)}`}</li>`,
  )
  return `<section id="${operation.operationId}"><h3><code>${method.toUpperCase()} ${escaped(path)}</code></h3><p>${escaped(operation.summary)}</p><ul>${parameters.join('')}${
    operation.requestBody === undefined ? '' : `<li>Body: ${bodyOf(operation.requestBody.content)}</li>`
  }</ul><ul>${answers.join('')}</ul></section>`
}

/** The description of the API as a page for people: every operation, what it takes and answers, and each named schema. No script, no style that the policy would refuse. */
export function docsPage(description: Description): string {
  const { info, tags, paths, components } = description
  const operations = Object.entries(paths).flatMap(([path, methods]) =>
    Object.entries(methods).map(([method, operation]) => ({ path, method, operation })),
  )
  const parts = tags.map(({ name }) => {
    const own = operations.filter(({ operation }) => operation.tags.includes(name))
    return `<h2>${escaped(name)}</h2>${own.map(({ path, method, operation }) => operationRow(path, method, operation)).join('')}`
  })
  const schemas = Object.entries(components.schemas).map(
    ([name, schema]) => `<section id="${name}"><h3>${name}</h3><pre>${escaped(JSON.stringify(schema, null, 2))}</pre></section>`,
  )
  return `<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>${escaped(info.title)} API ${escaped(info.version)}</title></head><body><h1>${escaped(info.title)} API ${escaped(info.version)}</h1><p>${escaped(info.description)}</p><p>As data: <a href="/api/openapi.json">/api/openapi.json</a></p>${parts.join('')}<h2>Schemas</h2>${schemas.join('')}</body></html>`
}
