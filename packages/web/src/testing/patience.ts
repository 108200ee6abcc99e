import { configure } from '@testing-library/react'

// A page on a busy machine takes its time; waiting longer costs nothing where all is well.
configure({ asyncUtilTimeout: 20_000 })
