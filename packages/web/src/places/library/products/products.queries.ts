import { ProductSchema } from '@jovrin/contract'
import { queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson } from '../../../api/http.js'

export const productsOfLibrary = () =>
  queryOptions({
    queryKey: ['products'],
    queryFn: ({ signal }) => getJson('/api/products', z.array(ProductSchema), signal),
    staleTime: 60_000,
  })
