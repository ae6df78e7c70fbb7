import type { ArchiveTaken, GeoJsonTaken } from '@grevik/contracts';
import { api } from './api';

/** Jobs and places as files. */
const archiveApi = api.injectEndpoints({
  endpoints: (build) => ({
    takeArchive: build.mutation<ArchiveTaken, unknown>({
      query: (body) => ({ url: 'archive/jobs', method: 'POST', body }),
      invalidatesTags: ['Jobs'],
    }),
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

export const { useTakeArchiveMutation, usePlaceMutation } = archiveApi;
