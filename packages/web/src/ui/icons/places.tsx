import { Icon } from './Icon.js'

/** A day's page with its jobs ticked. */
export const DayIcon = () => <Icon d="M4 3h16v16H4zM4 7h16M7 11l2 2 3-3M7 16h4M15 12h3M15 16h3" />
/** A pen on a line. */
export const LogIcon = () => <Icon d="M4 19h16M6 15l1-4 8-8 3 3-8 8zM13 5l3 3" />
/** Glass, water line, ground. */
export const TankIcon = () => <Icon d="M3 3v16h18V3M3 7h18M3 15c4-2 6 1 9-1s6-1 9 0M9 14c0-3-1-4-2-5M14 13c0-2 1-3 2-4" />
/** A mark of warning. */
export const EmergencyIcon = () => <Icon d="M12 3l9 16H3zM12 9v5M12 15.6v1.6" />
/** A sheet that comes out of a printer. */
export const PrintIcon = () => <Icon d="M7 8V3h10v5M4 8h16v8h-3M4 8v8h3M7 13h10v6H7z" />
