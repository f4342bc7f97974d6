declare module 'virtual:pwa-register' {
  export interface RegisterOptions {
    readonly onNeedRefresh?: () => void
  }
  export function registerSW(options: RegisterOptions): (reload?: boolean) => Promise<void>
}
