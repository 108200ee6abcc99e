import { randomOf, type PlantGroup, type Random } from '@jovrin/core'

/** SVG path data of plants in a front view, in px with y down, standing on y = 0. Each kind has its own gesture, so that it reads in black and white. */
export interface PlantStroke {
  readonly d: string
  readonly isFilled: boolean
}

const at = (value: number): string => value.toFixed(1)

export function plantStrokes(kind: PlantGroup, widthPx: number, heightPx: number, seed: number): PlantStroke[] {
  const random = randomOf(seed, kind.length * 97 + 11)
  switch (kind) {
    case 'carpet':
      return tufts(widthPx, heightPx, random)
    case 'stems':
      return stems(widthPx, heightPx, random)
    case 'rosette':
      return rosettes(widthPx, heightPx, random)
    case 'rhizome':
      return rhizomes(widthPx, heightPx, random)
    case 'moss':
      return mosses(widthPx, heightPx, random)
    case 'floater':
      return floaters(widthPx, random)
  }
}

function tufts(width: number, height: number, random: Random): PlantStroke[] {
  let d = ''
  for (let x = 2; x < width; x += 5) {
    const lean = (random() - 0.5) * 4
    const h = height * (0.7 + 0.5 * random())
    d += `M${at(x)} 0q${at(lean)} ${at(-h / 2)} ${at(lean * 1.6)} ${at(-h)}M${at(x)} 0q${at(-lean - 1)} ${at(-h / 3)} ${at(-lean * 1.4 - 2)} ${at(-h * 0.7)}`
  }
  return [{ d, isFilled: false }]
}

function stems(width: number, height: number, random: Random): PlantStroke[] {
  let stalks = ''
  let leaves = ''
  for (let x = 5; x < width - 3; x += 10) {
    const h = height * (0.78 + 0.3 * random())
    const lean = (random() - 0.5) * 8
    stalks += `M${at(x)} 0Q${at(x + lean / 4)} ${at(-h / 2)} ${at(x + lean)} ${at(-h)}`
    for (let y = 8; y < h; y += 8) {
      const cx = x + lean * (y / h) ** 2
      const size = 7.5 - 3.2 * (y / h)
      leaves += `M${at(cx)} ${at(-y)}q${at(-size)} ${at(-size * 0.9)} ${at(-size * 1.3)} ${at(-size * 0.3)}q${at(size * 0.5)} ${at(size * 0.7)} ${at(size * 1.3)} ${at(size * 0.3)}zM${at(cx)} ${at(-y)}q${at(size)} ${at(-size * 0.9)} ${at(size * 1.3)} ${at(-size * 0.3)}q${at(-size * 0.5)} ${at(size * 0.7)} ${at(-size * 1.3)} ${at(size * 0.3)}z`
    }
  }
  return [
    { d: stalks, isFilled: false },
    { d: leaves, isFilled: true },
  ]
}

function rosettes(width: number, height: number, random: Random): PlantStroke[] {
  let d = ''
  const spread = Math.min(34, Math.max(16, width / 2))
  for (let x = spread / 2; x < width; x += spread * 1.1)
    for (let leaf = -3; leaf <= 3; leaf++) {
      const lean = (leaf / 3) * spread * 0.75 + (random() - 0.5) * 3
      const h = height * (1 - 0.13 * Math.abs(leaf)) * (0.85 + 0.25 * random())
      d += `M${at(x)} 0q${at(lean * 0.1 - 1.6)} ${at(-h * 0.7)} ${at(lean)} ${at(-h)}q${at(-lean * 0.55 + 2.6)} ${at(h * 0.35)} ${at(-lean)} ${at(h)}z`
    }
  return [{ d, isFilled: true }]
}

function rhizomes(width: number, height: number, random: Random): PlantStroke[] {
  let d = ''
  let rhizome = ''
  for (let x = 10; x < width; x += 24) {
    rhizome += `M${at(x - 8)} -2h16`
    for (let leaf = 0; leaf < 4; leaf++) {
      const foot = x - 7 + leaf * 4.6
      const lean = (leaf - 1.5) * 7 + (random() - 0.5) * 4
      const h = height * (0.6 + 0.45 * random())
      d += `M${at(foot)} -2L${at(foot + lean * 0.5)} ${at(-h * 0.45)}q${at(-4 + lean * 0.1)} ${at(-h * 0.25)} ${at(lean * 0.6)} ${at(-h * 0.55)}q${at(5)} ${at(h * 0.3)} ${at(-lean * 0.6)} ${at(h * 0.55)}`
    }
  }
  return [
    { d: rhizome, isFilled: false },
    { d, isFilled: true },
  ]
}

function mosses(width: number, height: number, random: Random): PlantStroke[] {
  let d = ''
  for (let x = 5; x < width; x += 7) {
    const h = height * (0.6 + 0.6 * random())
    for (const lean of [-5, -2, 1, 4]) d += `M${at(x)} 0l${at(lean)} ${at(-h)}m${at(-lean * 0.4)} ${at(h * 0.4)}l${at(-3)} ${at(-h * 0.3)}`
  }
  return [{ d, isFilled: false }]
}

function floaters(width: number, random: Random): PlantStroke[] {
  let d = ''
  let roots = ''
  for (let x = 6; x < width; x += 13) {
    const r = 4 + 2 * random()
    d += `M${at(x - r)} 0a${at(r)} 2.4 0 1 1 ${at(2 * r)} 0z`
    for (const lean of [-2, 0, 2]) roots += `M${at(x + lean)} 1q${at(lean)} 6 ${at(lean * 1.5)} ${at(9 + 5 * random())}`
  }
  return [
    { d, isFilled: true },
    { d: roots, isFilled: false },
  ]
}
