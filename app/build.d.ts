/** When this build was made: what another one has worked out is not believed. */
declare const __RENATUS_BUILD__: string
