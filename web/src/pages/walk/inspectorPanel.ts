/** Id of the panel with the facts of what is picked. */
export const INSPECTOR_ID = 'inspector'

/** The panel with the facts of what is picked, where there is one. */
export const inspectorPanel = (): HTMLElement | null => document.getElementById(INSPECTOR_ID)
