export { FINE_STEAM_STEP, type SteamStop, type SteamStopInput, steamStop } from './steam-stop.js';
export { steamStopCalculation } from './steam-stop-calculation.js';
