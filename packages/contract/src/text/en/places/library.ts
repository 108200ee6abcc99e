export const libraryWords = {
  title: 'Library',
  grounds: 'Grounds',
  tabs: 'Root tabs',
  hint: 'Bags and packs as you buy them, with your prices. Samples are made up; change one and it becomes yours. Click a cell, or press Enter on it, and type.',
  head: {
    name: 'Name',
    ground: 'Ground',
    price: 'Price',
  },
  addGround: 'Add a ground',
  addTab: 'Add root tabs',
  newGround: 'My ground',
  newTab: 'My root tabs',
  removeHead: 'Delete',
  remove: (name: string) => `Delete ${name}`,
  removed: (name: string) => `${name} was deleted.`,
  kept: 'Saved in the library.',
} as const
