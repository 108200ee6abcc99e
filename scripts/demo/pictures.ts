import sharp from 'sharp'
import { randomOf } from '@jovrin/core'

const WIDTH = 1200
const HEIGHT = 560

/** A made-up picture of a planted tank at an age: drawn, not photographed. `fullness` 0–1 is how far the plants have grown. */
export async function tankPicture(fullness: number, takenAt: string): Promise<Buffer> {
  const random = randomOf(4242, 7) // the same stems stand in the same places each time
  const stems = Array.from({ length: 120 }, (_, index) => {
    const x = 60 + (index / 120) * (WIDTH - 120) + random() * 16
    const back = Math.abs(x / WIDTH - 0.42)
    const reach = (0.16 + 0.84 * fullness) * (130 + 260 * Math.min(1, back * 1.9)) * (0.75 + 0.5 * random())
    const lean = (random() - 0.5) * 46
    const green = 88 + Math.round(random() * 70)
    const red = random() < 0.16 ? 150 : 40 + Math.round(random() * 40)
    const leaves = Array.from({ length: Math.max(2, Math.round(reach / 17)) }, (_leaf, step) => {
      const y = HEIGHT - 96 - (step / Math.max(1, Math.round(reach / 17))) * reach
      const at = x + (lean * (HEIGHT - 96 - y)) / Math.max(reach, 1)
      return `<ellipse cx="${at - 9}" cy="${y}" rx="13" ry="5" transform="rotate(-24 ${at} ${y})" fill="rgb(${red},${green},58)"/><ellipse cx="${at + 9}" cy="${y - 4}" rx="13" ry="5" transform="rotate(24 ${at} ${y})" fill="rgb(${Math.max(20, red - 14)},${green - 14},50)"/>`
    })
    return leaves.join('')
  }).join('')
  const carpet = Array.from({ length: Math.round(60 + 900 * fullness) }, () => {
    const x = 150 + random() * (WIDTH - 420)
    const y = HEIGHT - 88 + random() * 62
    return `<ellipse cx="${x}" cy="${y}" rx="7" ry="${3 + 4 * fullness}" fill="rgb(${70 + Math.round(random() * 30)},${130 + Math.round(random() * 60)},60)"/>`
  }).join('')
  const stones =
    '<path d="M430 470l60-150 70 30 40 120zM560 475l30-70 60 20 20 55zM380 478l34-60 40 60z" fill="#6d6f70"/><path d="M490 320l70 30 10 60-60-20z" fill="#83868a"/>'
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDTH}" height="${HEIGHT}"><defs><linearGradient id="w" x1="0" y1="0" x2="0" y2="1"><stop offset="0" stop-color="#dff0ee"/><stop offset="1" stop-color="#9fc4c0"/></linearGradient></defs><rect width="${WIDTH}" height="${HEIGHT}" fill="url(#w)"/>${stems}<path d="M0 ${HEIGHT - 100}C300 ${HEIGHT - 78} 700 ${HEIGHT - 84} ${WIDTH} ${HEIGHT - 116}V${HEIGHT}H0Z" fill="#4a3b2e"/>${stones}${carpet}</svg>`
  const clock = takenAt.replace('T', ' ').slice(0, 19).replace(/-/g, ':')
  return sharp(Buffer.from(svg))
    .withExif({ IFD2: { DateTimeOriginal: clock } })
    .jpeg({ quality: 80 })
    .toBuffer()
}
