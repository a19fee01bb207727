/** What each role may do, in words; the server decides. */
export const ROLES = [
  { value: 'lead', title: 'Lead', does: 'Runs quality control: everything.' },
  {
    value: 'roaster',
    title: 'Roaster',
    does: 'Prepares and roasts: green, plans, the desk, the bench, the shelf, and preparing a table.',
  },
  { value: 'cupper', title: 'Cupper', does: 'Sees everything, and cups under their own name.' },
  { value: 'reader', title: 'Reader', does: 'Sees everything, changes nothing.' },
]
