import { cleanup, render, screen } from '@testing-library/react'
import decodeQR from 'qr/decode.js'
import { afterEach, expect, test } from 'vitest'
import { QrCode } from './QrCode.js'

afterEach(cleanup)

test.each(['http://192.168.1.20:4781', 'http://tanks.example:80'])('a camera reads %s from it', (address) => {
  render(<QrCode text={address} label="an address" />)
  const svg = screen.getByRole('img', { name: 'an address' })
  const size = Number(svg.getAttribute('viewBox')?.split(' ')[2])
  // The picture that a camera sees: each cell eight pixels, as the drawing says.
  const scale = 8
  const width = size * scale
  const data = new Uint8ClampedArray(width * width * 4).fill(255)
  for (const [, x = '', y = ''] of (svg.querySelector('path')?.getAttribute('d') ?? '').matchAll(/M(\d+) (\d+)/g))
    for (let row = 0; row < scale; row++)
      for (let column = 0; column < scale; column++)
        data.fill(
          0,
          ((Number(y) * scale + row) * width + Number(x) * scale + column) * 4,
          ((Number(y) * scale + row) * width + Number(x) * scale + column) * 4 + 3,
        )
  expect(decodeQR({ width, height: width, data })).toBe(address)
})
