import type {
  CalendarAddressView,
  DueListView,
  IntervalRequest,
  OwnIntervalView,
  RoundChangeRequest,
  RoundListing,
  RoundRequest,
  RoundView,
} from '@grevik/contracts';
import { ALL, api } from './api';

/** What is due, how often, and the rounds on which it is done. */
const roundsApi = api.injectEndpoints({
  endpoints: (build) => ({
    due: build.query<DueListView, { until: string; jobId?: string | undefined }>({
      query: ({ until, jobId }) => `due?until=${until}${jobId === undefined ? '' : `&jobId=${jobId}`}`,
      providesTags: (_due, _error, { jobId }) => [{ type: 'Due', id: jobId ?? ALL }, 'Session'],
    }),
    overdue: build.query<string[], string>({
      query: (jobId) => `jobs/${jobId}/overdue`,
      providesTags: (_overdue, _error, id) => [{ type: 'Due', id }, 'Session'],
    }),
    intervals: build.query<OwnIntervalView[], void>({
      query: () => 'intervals',
      providesTags: [{ type: 'Due', id: ALL }, 'Session'],
    }),
    setInterval: build.mutation<OwnIntervalView[], IntervalRequest>({
      query: (body) => ({ url: 'intervals', method: 'PUT', body }),
      invalidatesTags: ['Due', 'Mine'],
    }),
    removeInterval: build.mutation<undefined, string>({
      query: (id) => ({ url: `intervals/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Due', 'Mine'],
    }),
    rounds: build.query<RoundListing[], void>({
      query: () => 'rounds',
      providesTags: [{ type: 'Rounds', id: ALL }, 'Session'],
    }),
    round: build.query<RoundView, string>({
      query: (id) => `rounds/${id}`,
      providesTags: [{ type: 'Rounds', id: ALL }, 'Session'],
    }),
    addRound: build.mutation<RoundView, RoundRequest>({
      query: (body) => ({ url: 'rounds', method: 'POST', body }),
      invalidatesTags: ['Rounds', 'Mine'],
    }),
    changeRound: build.mutation<RoundView, RoundChangeRequest & { id: string }>({
      query: ({ id, ...body }) => ({ url: `rounds/${id}`, method: 'PUT', body }),
      invalidatesTags: ['Rounds', 'Mine'],
    }),
    hasCalendar: build.query<{ hasAddress: boolean }, void>({
      query: () => 'calendar',
      providesTags: [{ type: 'Rounds', id: ALL }, 'Session'],
    }),
    newCalendar: build.mutation<CalendarAddressView, void>({
      query: () => ({ url: 'calendar', method: 'POST' }),
      invalidatesTags: ['Rounds'],
    }),
    withdrawCalendar: build.mutation<undefined, void>({
      query: () => ({ url: 'calendar', method: 'DELETE' }),
      invalidatesTags: ['Rounds'],
    }),
  }),
});

export const {
  useDueQuery,
  useOverdueQuery,
  useIntervalsQuery,
  useSetIntervalMutation,
  useRemoveIntervalMutation,
  useRoundsQuery,
  useRoundQuery,
  useAddRoundMutation,
  useChangeRoundMutation,
  useHasCalendarQuery,
  useNewCalendarMutation,
  useWithdrawCalendarMutation,
} = roundsApi;

/** Whether somebody was at every stop of a round. */
export const isFinished = ({ stops, done, notDone }: RoundListing): boolean => done + notDone >= stops;
