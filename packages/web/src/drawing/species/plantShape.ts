import { randomOf, type PlantSpecies, type Random } from '@jovrin/core'
import { leafPaths, smallLeaf, type Leaf } from './leaf.js'

/** A plant from the front, in centimetres with y downwards, standing on y = 0 (a floater hangs from it). Path data for lines and for filled leaves. */
export interface PlantShape {
  readonly stalk: string
  readonly blade: string
  readonly fine: string
  readonly root: string
}

export interface ShapeOptions {
  readonly heightCm: number
  readonly widthCm: number
  /** 0 weak light: long gaps between leaves; 1 strong light. */
  readonly light: number
  readonly seed: number
}

/** So many whorls and leaves at most: beyond, one stands for several, and a little larger. */
const MOST_NODES = 13
const MOST_LEAVES = 26
const at = (value: number): string => (Math.round(value * 100) / 100).toString()
const between = (from: number, to: number, share: number): number => from + (to - from) * share

/** Collects the parts of a plant. */
class Sketch {
  stalk = ''
  root = ''
  private blade = ''
  private fine = ''
  constructor(
    private readonly plant: Pick<PlantSpecies, 'outline' | 'margin'>,
    readonly random: Random,
  ) {}
  leaf(leaf: Omit<Leaf, 'outline' | 'margin'>): void {
    const { outline, margin } = this.plant // not all of its traits: leaves are many
    const { blade, fine } = leafPaths({ ...leaf, outline, margin })
    this.blade += blade
    this.fine += fine
  }
  /** A leaf that is drawn already. */
  scale(blade: string): void {
    this.blade += blade
  }
  get shape(): PlantShape {
    return { stalk: this.stalk, blade: this.blade, fine: this.fine, root: this.root }
  }
}

const sketched = new WeakMap<PlantSpecies, Map<string, PlantShape>>()
/** Gestures kept of one plant: beds of it share them, in all the weeks that a slider shows. */
const MOST_KEPT = 400

/** The gesture of a species: its own leaves at their size, as they stand, along what carries them. */
export function plantShape(plant: PlantSpecies, options: ShapeOptions): PlantShape {
  const kept = sketched.get(plant) ?? new Map<string, PlantShape>()
  sketched.set(plant, kept)
  const key = `${options.heightCm} ${options.widthCm} ${options.light} ${options.seed}`
  const before = kept.get(key)
  if (before !== undefined) return before
  if (kept.size >= MOST_KEPT) kept.clear()
  const shape = sketch(plant, options)
  kept.set(key, shape)
  return shape
}

function sketch(plant: PlantSpecies, { heightCm, widthCm, light, seed }: ShapeOptions): PlantShape {
  const drawing = new Sketch(plant, randomOf(seed, plant.name.length))
  switch (plant.form) {
    case 'stem':
    case 'free-stem':
      stems(drawing, plant, heightCm, widthCm, light)
      break
    case 'rosette':
    case 'runner-rosette':
    case 'bulb':
      rosettes(drawing, plant, heightCm, widthCm)
      break
    case 'rhizome':
      rhizomes(drawing, plant, heightCm, widthCm)
      break
    case 'carpet':
      creepers(drawing, plant, heightCm, widthCm)
      break
    case 'grass-runner':
      grass(drawing, plant, heightCm, widthCm)
      break
    case 'moss':
    case 'liverwort':
      cushions(drawing, plant, heightCm, widthCm)
      break
    case 'alga-ball':
      ball(drawing, heightCm, widthCm)
      break
    case 'floater':
      floaters(drawing, plant, widthCm)
  }
  return drawing.shape
}

/** A stem from a foot upwards, with its nodes. */
function stem(sketch: Sketch, plant: PlantSpecies, x: number, heightCm: number, lean: number, light: number): void {
  const gap = between(plant.internodeWeakCm.value, plant.internodeStrongCm.value, light)
  const nodes = Math.max(2, Math.min(MOST_NODES, Math.round(heightCm / gap)))
  // One drawn whorl stands for several where there are more than can be drawn.
  const larger = Math.min(1.8, Math.max(1, Math.sqrt(heightCm / gap / nodes)))
  const length = Math.min(plant.leafLengthCm.value * larger, Math.max(plant.spreadCm.value * 0.62, plant.leafLengthCm.value * 0.6))
  const width = plant.leafWidthCm.value * larger
  const xAt = (share: number): number => x + lean * heightCm * share ** 2
  sketch.stalk += `M${at(x)} 0Q${at(xAt(0.45))} ${at(-heightCm / 2)} ${at(xAt(1))} ${at(-heightCm)}`
  for (let node = 1; node <= nodes; node++) {
    const share = node / nodes
    const young = 1 - 0.45 * share ** 3
    const y = -heightCm * share
    for (const [side, turned] of placesAtNode(plant, node))
      sketch.leaf({
        x: xAt(share),
        y,
        lengthCm: length * young * (0.55 + 0.45 * Math.abs(side)),
        widthCm: width * young,
        lean: lean + side * between(1.25, 0.45, share ** 2),
        curve: side * 0.35,
        turned,
      })
  }
}
type PlacedLeaf = readonly [side: number, turned: number]
const PAIR: readonly PlacedLeaf[] = [
  [-1, 1],
  [1, 1],
]
/** The next pair stands across: seen from its side. */
const TURNED_PAIR: readonly PlacedLeaf[] = [
  [-0.35, 0.55],
  [0.35, 0.55],
]
/** To which side leaves of a node lean, −1 to 1, and how far they are turned. */
function placesAtNode({ arrangement, leavesPerNode }: PlantSpecies, node: number): readonly PlacedLeaf[] {
  const isCrossed = node % 2 === 0
  switch (arrangement) {
    case 'whorl': {
      const shown = Math.min(6, Math.max(3, Math.round(leavesPerNode.value * 0.7)))
      return Array.from({ length: shown }, (_, index) => [-1 + (2 * index) / (shown - 1), 0.9] as const)
    }
    case 'alternate':
    case 'distichous':
      return [[isCrossed ? 1 : -1, 1]]
    case 'opposite':
    case 'rosette':
    case 'single-on-runner':
      return isCrossed ? TURNED_PAIR : PAIR
  }
}

function stems(sketch: Sketch, plant: PlantSpecies, heightCm: number, widthCm: number, light: number): void {
  const many = Math.max(1, Math.round(widthCm / Math.max(plant.spreadCm.value * (plant.habit === 'bushy' ? 0.75 : 0.9), 0.5)))
  const isLow = plant.habit === 'creeping' || plant.habit === 'cushion'
  for (let index = 0; index < many; index++) {
    const x = ((index + 0.5) / many - 0.5) * widthCm
    const tall = heightCm * (0.82 + 0.18 * sketch.random())
    const lean = (sketch.random() - 0.5) * (plant.habit === 'arching' || isLow ? 0.7 : 0.16)
    stem(sketch, plant, x, tall, lean, light)
  }
}

/** Leaves from one crown; long ones hang over. */
function rosettes(sketch: Sketch, plant: PlantSpecies, heightCm: number, widthCm: number): void {
  const crowns = Math.max(1, Math.round(widthCm / Math.max(plant.spreadCm.value, 0.5)))
  const isUpright = plant.habit === 'upright'
  const isStalked = ['heart', 'arrow', 'round', 'elliptic', 'ovate', 'spoon', 'clover'].includes(plant.outline)
  for (let crown = 0; crown < crowns; crown++) {
    const x = ((crown + 0.5) / crowns - 0.5) * widthCm
    if (plant.form === 'bulb') sketch.stalk += `M${at(x - 0.9)} 0.3a0.9 0.7 0 1 0 1.8 0a0.9 0.7 0 1 0 -1.8 0`
    const many = plant.leafWidthCm.value < 1 ? 11 : 8
    for (let leaf = 0; leaf < many; leaf++) {
      const side = -1 + (2 * leaf) / (many - 1)
      const tall = heightCm * (1 - 0.3 * Math.abs(side)) * (0.85 + 0.15 * sketch.random())
      const reach = Math.min(1.15, (plant.spreadCm.value / 2 / Math.max(heightCm, 0.1)) * (isUpright ? 0.9 : 1.3))
      const lean = side * reach * (isUpright ? 0.5 : 0.75)
      if (isStalked) {
        const blade = Math.min(plant.leafLengthCm.value, tall * 0.85)
        const stalk = Math.max(0, tall - blade * 0.8)
        const [tx, ty] = [x + Math.sin(lean) * stalk, -Math.cos(lean) * stalk]
        sketch.stalk += `M${at(x)} 0L${at(tx)} ${at(ty)}`
        sketch.leaf({
          x: tx,
          y: ty,
          lengthCm: blade,
          widthCm: Math.min(plant.leafWidthCm.value, blade * 0.95),
          lean,
          curve: side * 0.9,
          turned: 0.55 + 0.35 * Math.abs(side),
        })
      } else
        sketch.leaf({
          x,
          y: 0,
          lengthCm: Math.min(tall * 1.08, Math.max(plant.leafLengthCm.value, tall)),
          widthCm: plant.leafWidthCm.value,
          lean,
          curve: side * (isUpright ? 0.35 : 1),
          turned: 0.8,
        })
    }
  }
}

/** A creeping rhizome with leaves on stalks. */
function rhizomes(sketch: Sketch, plant: PlantSpecies, heightCm: number, widthCm: number): void {
  const thick = Math.max(0.25, Math.min(0.8, heightCm * 0.05))
  sketch.root += `M${at(-widthCm * 0.42)} ${at(-thick / 2)}Q0 ${at(-thick * 1.6)} ${at(widthCm * 0.42)} ${at(-thick / 2)}`
  const many = Math.max(4, Math.min(11, Math.round((widthCm / Math.max(plant.leafWidthCm.value, 0.6)) * 1.6)))
  for (let leaf = 0; leaf < many; leaf++) {
    const share = leaf / (many - 1)
    const side = share * 2 - 1
    const x = side * widthCm * 0.36
    const tall = heightCm * (0.7 + 0.3 * sketch.random()) * (1 - 0.2 * Math.abs(side))
    const blade = Math.min(plant.leafLengthCm.value, tall * 0.9)
    const stalk = Math.max(0, tall - blade)
    const lean = side * 0.55 + (sketch.random() - 0.5) * 0.3
    const [tx, ty] = [x + Math.sin(lean) * stalk, -thick - Math.cos(lean) * stalk]
    sketch.stalk += `M${at(x)} ${at(-thick)}L${at(tx)} ${at(ty)}`
    sketch.leaf({ x: tx, y: ty, lengthCm: blade, widthCm: Math.min(plant.leafWidthCm.value, blade), lean, curve: side * 0.8, turned: 0.85 })
  }
}

/** Short shoots close together, as high as the carpet. */
function creepers(sketch: Sketch, plant: PlantSpecies, heightCm: number, widthCm: number): void {
  const shoots = Math.max(4, Math.min(9, Math.round(widthCm / Math.max(0.7, plant.leafLengthCm.value * 1.4))))
  const larger = Math.max(1, Math.min(2.4, widthCm / shoots / Math.max(plant.leafLengthCm.value, 0.1) / 1.6))
  const length = plant.leafLengthCm.value * larger
  sketch.stalk += `M${at(-widthCm / 2)} -0.05H${at(widthCm / 2)}`
  const isSingle = plant.arrangement === 'single-on-runner'
  for (let shoot = 0; shoot < shoots; shoot++) {
    const x = ((shoot + 0.5) / shoots - 0.5) * widthCm
    const tall = heightCm * (0.65 + 0.35 * sketch.random())
    const lean = (sketch.random() - 0.5) * 0.5
    const top = x + Math.sin(lean) * tall
    if (isSingle) {
      const blade = Math.min(length, tall)
      sketch.stalk += `M${at(x)} 0L${at(top - Math.sin(lean) * blade * 0.5)} ${at(-(tall - blade * 0.5))}`
      sketch.leaf({
        x: top - Math.sin(lean) * blade * 0.5,
        y: -(tall - blade * 0.5),
        lengthCm: blade * 0.6,
        widthCm: Math.max(plant.leafWidthCm.value, plant.leafLengthCm.value * 0.9) * larger,
        lean,
        turned: 0.9,
      })
      continue
    }
    sketch.stalk += `M${at(x)} 0L${at(top)} ${at(-tall)}`
    const pairs = Math.max(2, Math.min(5, Math.round(tall / Math.max(length * 0.7, 0.15))))
    for (let pair = 1; pair <= pairs; pair++)
      for (const side of [-1, 1])
        sketch.leaf({
          x: x + (Math.sin(lean) * tall * pair) / pairs,
          y: (-tall * pair) / pairs,
          lengthCm: length,
          widthCm: plant.leafWidthCm.value * larger,
          lean: lean + side * between(1.3, 0.7, pair / pairs),
        })
  }
}

/** Tufts along a runner. */
function grass(sketch: Sketch, plant: PlantSpecies, heightCm: number, widthCm: number): void {
  const tufts = Math.max(3, Math.min(6, Math.round(widthCm / 1.4)))
  sketch.stalk += `M${at(-widthCm / 2)} 0.15H${at(widthCm / 2)}`
  const blades = Math.min(5, Math.floor(MOST_LEAVES / tufts))
  for (let tuft = 0; tuft < tufts; tuft++) {
    const x = ((tuft + 0.5) / tufts - 0.5) * widthCm
    for (let blade = 0; blade < blades; blade++) {
      const side = blades === 1 ? 0 : -1 + (2 * blade) / (blades - 1)
      const tall = heightCm * (0.7 + 0.3 * sketch.random())
      sketch.leaf({
        x,
        y: 0,
        lengthCm: tall,
        widthCm: plant.leafWidthCm.value,
        lean: side * 0.28 + (sketch.random() - 0.5) * 0.16,
        curve: side * 0.3,
      })
    }
  }
}

/** Branches from below, drooping, creeping or upright: with small leaves along them, or forked where there are no leaves. */
function cushions(sketch: Sketch, plant: PlantSpecies, heightCm: number, widthCm: number): void {
  const many = Math.max(5, Math.min(11, Math.round(widthCm * 1.6)))
  const droop = plant.habit === 'hanging' ? 1.5 : plant.habit === 'upright' ? 0.2 : 0.8
  for (let index = 0; index < many; index++) {
    const side = -1 + (2 * index) / (many - 1)
    const branch: Branch = {
      x: side * widthCm * 0.3,
      lengthCm: heightCm * (0.7 + 0.3 * sketch.random()) * (1 - 0.35 * side ** 2),
      lean: side * 0.55 + (sketch.random() - 0.5) * 0.3,
      curve: side * droop,
    }
    if (plant.form === 'liverwort') fork(sketch, branch)
    else if (plant.outline === 'feathery') sketch.leaf({ ...branch, y: 0, widthCm: branch.lengthCm * 0.55 })
    else leafyBranch(sketch, branch)
  }
}
interface Branch {
  readonly x: number
  readonly lengthCm: number
  readonly lean: number
  readonly curve: number
}
const LEAVES_OF_BRANCH = 7
function leafyBranch(sketch: Sketch, { x, lengthCm, lean, curve }: Branch): void {
  let d = `M${at(x)} 0`
  for (let leaf = 1; leaf <= LEAVES_OF_BRANCH; leaf++) {
    const share = leaf / LEAVES_OF_BRANCH
    const middle = lean + (curve * share) / 2
    const [cx, cy] = [x + Math.sin(middle) * share * lengthCm, -Math.cos(middle) * share * lengthCm]
    d += `L${at(cx)} ${at(cy)}`
    for (const way of [-1, 1])
      sketch.scale(smallLeaf(cx, cy, lengthCm * 0.2 * (1.15 - 0.5 * share), lengthCm * 0.05, lean + curve * share + way * 0.75))
  }
  sketch.stalk += d
}
/** A flat body that divides in two, and again. */
function fork(sketch: Sketch, { x, lengthCm, lean, curve }: Branch): void {
  const arm = (fromX: number, fromY: number, length: number, to: number, depth: number): void => {
    sketch.scale(smallLeaf(fromX, fromY, length, length * 0.28, to))
    if (depth === 0) return
    const [tipX, tipY] = [fromX + Math.sin(to) * length * 0.8, fromY - Math.cos(to) * length * 0.8]
    for (const way of [-1, 1]) arm(tipX, tipY, length * 0.7, to + way * 0.5 + curve * 0.25, depth - 1)
  }
  arm(x, 0, lengthCm * 0.48, lean, 2)
}

function ball(sketch: Sketch, heightCm: number, widthCm: number): void {
  const r = Math.min(heightCm, widthCm) / 2
  sketch.stalk += `M${at(-r)} ${at(-r)}a${at(r)} ${at(r)} 0 1 1 ${at(2 * r)} 0a${at(r)} ${at(r)} 0 1 1 ${at(-2 * r)} 0`
  for (let ray = 0; ray < MOST_LEAVES; ray++) {
    const angle = (ray / MOST_LEAVES) * 2 * Math.PI
    sketch.leaf({ x: Math.sin(angle) * r * 0.7, y: -r - Math.cos(angle) * r * 0.7, lengthCm: r * 0.4, widthCm: r * 0.2, lean: angle })
  }
}

/** On the water, with roots below it. */
function floaters(sketch: Sketch, plant: PlantSpecies, widthCm: number): void {
  const size = Math.max(plant.leafLengthCm.value, plant.spreadCm.value * 0.22)
  const many = Math.max(2, Math.min(7, Math.round(widthCm / (size * 1.1))))
  const stands = plant.matureHeightCm.value > 2
  for (let leaf = 0; leaf < many; leaf++) {
    const x = ((leaf + 0.5) / many - 0.5) * widthCm
    const side = many === 1 ? 0 : -1 + (2 * leaf) / (many - 1)
    sketch.leaf({
      x: stands ? x * 0.4 : x - (side < 0 ? 0 : size / 2),
      y: 0,
      lengthCm: size,
      widthCm: Math.max(plant.leafWidthCm.value, size * 0.5) * (stands ? 0.8 : 0.35),
      lean: stands ? side * 1.1 : side < 0 ? -1.45 : 1.45,
      curve: stands ? side * 0.4 : 0,
    })
    const deep = size * 0.9 * (0.7 + 0.5 * sketch.random())
    for (const way of [-1, 0, 1])
      sketch.root += `M${at(x + way * size * 0.1)} 0q${at(way * size * 0.08)} ${at(deep / 2)} ${at(way * size * 0.16)} ${at(deep)}`
  }
}
