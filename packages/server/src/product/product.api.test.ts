import { SAMPLE_PRODUCTS, type Product } from '@jovrin/core'
import { expect, test } from 'vitest'
import { testServer } from '../testing/testServer.js'

const sand: Product = {
  id: 'river-sand',
  kind: 'ground',
  name: 'River sand, washed',
  ground: 'sand',
  bagL: 15,
  bulkKgPerL: 1.6,
  porosity: 0.38,
  price: 12.5,
}

test('the library begins with samples, takes own entries, and gives a sample back when its replacement is removed', async () => {
  const server = await testServer()
  const names = async (): Promise<string[]> =>
    ((await server.agent.get('/api/products').expect(200)).body as Product[]).map(({ name }) => name)
  expect(await names()).toHaveLength(SAMPLE_PRODUCTS.length)
  expect((await names()).every((name) => name.length > 3)).toBe(true)
  await server.agent.put('/api/products/river-sand').send(sand).expect(200)
  await server.agent
    .put('/api/products/river-sand')
    .send({ ...sand, price: 14 })
    .expect(200)
  expect((await names()).filter((name) => name === sand.name)).toHaveLength(1)
  const dear = { ...SAMPLE_PRODUCTS[0]!, name: 'My rich soil', price: 31 }
  await server.agent.put(`/api/products/${dear.id}`).send(dear).expect(200)
  expect(await names()).toHaveLength(SAMPLE_PRODUCTS.length + 1)
  await server.agent.delete(`/api/products/${dear.id}`).expect(200)
  expect(await names()).toHaveLength(SAMPLE_PRODUCTS.length + 1)
  expect(await names()).not.toContain('My rich soil')
  await server.close()
})
test('bad entries are refused with field and reason', async () => {
  const server = await testServer()
  for (const [bad, field] of [
    [{ ...sand, bagL: 0 }, 'bagL'],
    [{ ...sand, name: ' ' }, 'name'],
    [{ ...sand, porosity: 2 }, 'porosity'],
  ] as const) {
    const refused = await server.agent.put('/api/products/river-sand').send(bad)
    expect(refused.status).toBe(400)
    expect(refused.body.field).toBe(field)
  }
  await server.agent.put('/api/products/other').send(sand).expect(409)
  await server.agent.delete('/api/products/none').expect(404)
  await server.agent
    .put('/api/products/__proto__')
    .send({ ...sand, id: '__proto__' })
    .expect(400)
  await server.close()
})
