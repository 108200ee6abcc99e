import { appWords } from '@jovrin/contract'
import { Box, Button, Checkbox, FormControlLabel } from '@mui/material'
import { switchSingleKeys, useSingleKeys } from './shell/singleKeys.js'
import { SheetDialog } from '../ui/SheetDialog.js'

export function ShortcutsSheet({ isOpen, onClose }: { isOpen: boolean; onClose: () => void }) {
  const isOn = useSingleKeys()
  return (
    <SheetDialog title={appWords.shortcuts.title} isOpen={isOpen} onClose={onClose}>
      <Box sx={{ p: 3 }}>
        <Box component="h2" className="lettering" sx={{ m: 0, mb: 1, fontSize: 19 }}>
          {appWords.shortcuts.title}
        </Box>
        <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: 'auto 1fr', columnGap: 3, rowGap: 0.5, m: 0 }}>
          {appWords.shortcuts.list.map(([key, does]) => (
            <Box key={key} sx={{ display: 'contents' }}>
              <Box component="dt" className="lettering" sx={{ textTransform: 'none' }}>
                {key}
              </Box>
              <Box component="dd" sx={{ m: 0 }}>
                {does}
              </Box>
            </Box>
          ))}
        </Box>
        <FormControlLabel
          control={<Checkbox checked={isOn} onChange={(event) => switchSingleKeys(event.target.checked)} />}
          label={appWords.shortcuts.singleKeys}
        />
        <Box sx={{ fontSize: 14, color: 'text.secondary' }}>{appWords.shortcuts.singleKeysHint}</Box>
        <Button onClick={onClose} sx={{ mt: 2 }}>
          {appWords.close}
        </Button>
      </Box>
    </SheetDialog>
  )
}
