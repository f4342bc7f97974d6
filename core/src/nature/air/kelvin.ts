/** 0 °C in kelvin (ISO 80000-5: published). */
export const KELVIN = 273.15
