import { appWords } from '@jovrin/contract'
import { Box, Button } from '@mui/material'
import { SheetDialog } from '../ui/SheetDialog.js'
import { UnitChoices } from '../ui/UnitChoices.js'

export function UnitsSheet({ isOpen, onClose }: { isOpen: boolean; onClose: () => void }) {
  return (
    <SheetDialog title={appWords.units.title} isOpen={isOpen} onClose={onClose}>
      <Box sx={{ p: 3, display: 'grid', gap: 1.5 }}>
        <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 19 }}>
          {appWords.units.title}
        </Box>
        <UnitChoices />
        <Box>
          <Button onClick={onClose}>{appWords.close}</Button>
        </Box>
      </Box>
    </SheetDialog>
  )
}
