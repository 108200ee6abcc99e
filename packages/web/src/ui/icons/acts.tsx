import { Small } from './Icon.js'

export const AddIcon = () => <Small d="M12 4v14M5 11h14" />
export const RenameIcon = () => <Small d="M5 19l1-4L15.5 5.5l3 3L9 18l-4 1M13.5 7.5l3 3" />
export const TickIcon = () => <Small d="M4 11l5 6L20 5" />
export const UpIcon = () => <Small d="M12 18V4M6 10l6-6 6 6" />
export const DownIcon = () => <Small d="M12 4v14M6 12l6 6 6-6" />
export const OlderIcon = () => <Small d="M20 11H4M10 5l-6 6 6 6" />
export const NewerIcon = () => <Small d="M4 11h16M14 5l6 6-6 6" />
/** Two rows of notches: what can be gripped and dragged. */
export const GripIcon = () => <Small d="M9 3v3M9 9v3M9 15v3M15 3v3M15 9v3M15 15v3" />
export const FindIcon = () => <Small d="M4 10a6 6 0 1 0 12 0a6 6 0 1 0-12 0M15 14l6 6" />
/** What falls through is kept. */
export const FilterIcon = () => <Small d="M3 4h18l-7 8v7l-4-2v-5z" />
export const ColumnsIcon = () => <Small d="M3 4h18v14H3zM9 4v14M15 4v14" />
export const SaveFileIcon = () => <Small d="M12 3v10M7 9l5 5 5-5M4 18h16" />
export const ColumnEdgeIcon = () => <Small d="M12 2v18" />
