import type { Changed, LevelsQuery, LevelsStretch, StationRequest, StationView } from '@grevik/contracts';
import { api } from './api';

/** Pump stations of checks, and their levels. */
const stationsApi = api.injectEndpoints({
  endpoints: (build) => ({
    station: build.query<StationView, string>({
      query: (positionId) => `positions/${positionId}/station`,
      providesTags: (_station, _error, id) => [{ type: 'Station', id }, 'Session'],
    }),
    levels: build.query<LevelsStretch, { positionId: string } & LevelsQuery>({
      query: ({ positionId, ...asked }) => ({
        url: `positions/${positionId}/station/levels`,
        params: asked,
      }),
      providesTags: ['Session'],
      // What a stretch held is asked again soon: the next one begins later.
      keepUnusedDataFor: 10,
    }),
    changeStation: build.mutation<Changed, { positionId: string; station: StationRequest }>({
      query: ({ positionId, station }) => ({
        url: `positions/${positionId}/station`,
        method: 'PUT',
        body: station,
      }),
      invalidatesTags: ['Station', 'Devices', 'Mine', 'History', 'Jobs'],
    }),
  }),
});

export const { useStationQuery, useLevelsQuery, useChangeStationMutation } = stationsApi;
