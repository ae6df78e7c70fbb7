import type { GeoJsonTaken } from '@grevik/contracts';
import { api } from './api';

/** Places as files. */
const archiveApi = api.injectEndpoints({
  endpoints: (build) => ({
    place: build.mutation<GeoJsonTaken, { jobId: string; features: unknown }>({
      query: ({ jobId, features }) => ({
        url: `archive/jobs/${jobId}/positions.geojson`,
        method: 'PUT',
        body: features,
      }),
      invalidatesTags: ['Line'],
    }),
  }),
});

export const { usePlaceMutation } = archiveApi;
