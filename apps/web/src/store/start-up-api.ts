import type {
  HandOverRequest,
  HandOverView,
  ReadingRequest,
  ReadingView,
  SamplesRequest,
  SamplesView,
  StartUpEntryRequest,
  StartUpView,
} from '@grevik/contracts';
import { api } from './api';

/** The start-up of a line: what was done, and readings of holds. */
const startUpApi = api.injectEndpoints({
  endpoints: (build) => ({
    startUp: build.query<StartUpView, string>({
      query: (lineId) => `lines/${lineId}/start-up`,
      providesTags: ['StartUp', 'Session'],
    }),
    addStartUpEntry: build.mutation<StartUpView, { lineId: string; entry: StartUpEntryRequest }>({
      query: ({ lineId, entry }) => ({
        url: `lines/${lineId}/start-up/entries`,
        method: 'POST',
        body: entry,
      }),
      invalidatesTags: ['StartUp'],
    }),
    beginReading: build.mutation<ReadingView, { lineId: string; reading: ReadingRequest }>({
      query: ({ lineId, reading }) => ({
        url: `lines/${lineId}/start-up/readings`,
        method: 'POST',
        body: reading,
      }),
      invalidatesTags: ['StartUp'],
    }),
    addSamples: build.mutation<ReadingView, { id: string; samples: SamplesRequest }>({
      query: ({ id, samples }) => ({ url: `readings/${id}/samples`, method: 'POST', body: samples }),
      invalidatesTags: ['StartUp', 'Samples'],
    }),
    endReading: build.mutation<ReadingView, string>({
      query: (id) => ({ url: `readings/${id}/end`, method: 'POST' }),
      invalidatesTags: ['StartUp', 'Samples'],
    }),
    samples: build.query<SamplesView, string>({
      query: (id) => `readings/${id}/samples`,
      providesTags: ['Samples'],
      // A reading may be megabytes: frozen here, the store does not walk through all of it.
      transformResponse: (samples: SamplesView) => Object.freeze(samples),
      structuralSharing: false,
    }),
    handOver: build.mutation<HandOverView, { lineId: string; signed: HandOverRequest }>({
      query: ({ lineId, signed }) => ({
        url: `lines/${lineId}/start-up/hand-over`,
        method: 'POST',
        body: signed,
      }),
      invalidatesTags: ['StartUp', 'Jobs'],
    }),
  }),
});

export const {
  useStartUpQuery,
  useAddStartUpEntryMutation,
  useBeginReadingMutation,
  useAddSamplesMutation,
  useEndReadingMutation,
  useSamplesQuery,
  useHandOverMutation,
} = startUpApi;
