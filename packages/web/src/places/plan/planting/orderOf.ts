import { PLANTING_ORDERS, type PlantingOrder } from '@jovrin/core'

/** The order of work in the address. */
export const orderOf = (search: URLSearchParams): PlantingOrder =>
  PLANTING_ORDERS.find((one) => one === search.get('order')) ?? PLANTING_ORDERS[0]
