import { refusalWords, ProductId, ProductSchema } from '@jovrin/contract'
import { Router } from 'express'
import { Refusal } from '../http/refusal.js'
import type { ProductService } from './product.service.js'

export const productRoutes = (products: ProductService): Router =>
  Router()
    .get('/products', async (_req, res) => void res.json(await products.all()))
    .put('/products/:id', async (req, res) => {
      const product = ProductSchema.parse(req.body)
      if (product.id !== req.params.id) throw new Refusal(409, 'other_record', refusalWords.otherBody)
      res.json(await products.put(product))
    })
    .delete('/products/:id', async (req, res) => {
      await products.remove(ProductId.parse(req.params.id))
      res.json({})
    })
