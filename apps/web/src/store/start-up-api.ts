import type {
  HandOverRequest,
  HandOverView,
  ReadingRequest,
  ReadingView,
  SamplesRequest,
  SamplesView,
  StartUpView,
} from '@grevik/contracts';
import type { FetchBaseQueryError } from '@reduxjs/toolkit/query/react';
import { api } from './api';

type SamplesAnswer = { data: SamplesView } | { error: FetchBaseQueryError };

/** The start-up of a line: what was done, and readings of holds. */
const startUpApi = api.injectEndpoints({
  endpoints: (build) => ({
    startUp: build.query<StartUpView, string>({
      query: (lineId) => `lines/${lineId}/start-up`,
      // What a reading that runs is told of reaches its line too.
      providesTags: (view, _error, lineId) => [
        { type: 'StartUp', id: lineId },
        ...(view?.readings ?? [])
          .filter(({ endedAt }) => endedAt === null)
          .map(({ id }) => ({ type: 'StartUp' as const, id })),
        'Session',
      ],
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
      // Only what came since is asked for.
      queryFn: async (id, { getState }, _options, ask): Promise<SamplesAnswer> => {
        const known: SamplesView | undefined = startUpApi.endpoints.samples.select(id)(
          getState() as never,
        ).data;
        const lastS = known?.timeS[known.timeS.length - 1];
        const { data, error } = await ask(
          `readings/${id}/samples${lastS === undefined ? '' : `?after=${lastS}`}`,
        );
        if (error) return { error };
        const news = data as SamplesView;
        // A reading may be megabytes: frozen here, the store does not walk through all of it.
        return { data: Object.freeze(known ? joined(known, news) : news) };
      },
      providesTags: (_samples, _error, id) => [{ type: 'Samples', id }],
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

function joined(known: SamplesView, news: SamplesView): SamplesView {
  if (news.timeS.length === 0) return known;
  return {
    timeS: known.timeS.concat(news.timeS),
    pressurePa: known.pressurePa.concat(news.pressurePa),
    temperatureC: known.temperatureC.concat(news.temperatureC),
    inletPa: known.inletPa.concat(news.inletPa),
    flowM3s: known.flowM3s.concat(news.flowM3s),
  };
}

export const {
  useStartUpQuery,
  useBeginReadingMutation,
  useAddSamplesMutation,
  useEndReadingMutation,
  useSamplesQuery,
  useHandOverMutation,
} = startUpApi;
