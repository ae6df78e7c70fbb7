import type {
  BudgetFile,
  OwnTaskView,
  TakeCatalogueListRequest,
  TakeWalkListRequest,
  TaskAdded,
  TaskView,
} from '@grevik/contracts';
import type { Language } from '@grevik/words';
import { ALL, api } from './api';

/** What the servers do by themselves. */
const tasksApi = api.injectEndpoints({
  endpoints: (build) => ({
    tasks: build.query<TaskView[], void>({
      query: () => 'tasks',
      providesTags: [{ type: 'Tasks', id: ALL }, 'Session'],
    }),
    ownTasks: build.query<OwnTaskView[], void>({
      query: () => 'tasks/mine',
      providesTags: [{ type: 'Tasks', id: ALL }, 'Session'],
    }),
    ownTask: build.query<OwnTaskView, string>({
      query: (id) => `tasks/mine/${id}`,
      providesTags: [{ type: 'Tasks', id: ALL }, 'Session'],
    }),
    cancelOwnTask: build.mutation<undefined, string>({
      query: (id) => ({ url: `tasks/mine/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Tasks'],
    }),
    askForBudgetFile: build.mutation<TaskAdded, { jobId?: string; format: BudgetFile; language: Language }>({
      query: (body) => ({ url: 'budget/file', method: 'POST', body }),
      invalidatesTags: ['Tasks'],
    }),
    askForJobFile: build.mutation<TaskAdded, string>({
      query: (jobId) => ({ url: `archive/jobs/${jobId}/file`, method: 'POST' }),
      invalidatesTags: ['Tasks'],
    }),
    importJob: build.mutation<TaskAdded, File>({
      query: (file) => ({
        url: 'archive/imports',
        method: 'POST',
        params: { name: file.name },
        body: file,
        headers: { 'content-type': 'application/json' },
      }),
      invalidatesTags: ['Tasks'],
    }),
    importWalkList: build.mutation<TaskAdded, TakeWalkListRequest & { jobId: string }>({
      query: ({ jobId, ...body }) => ({ url: `jobs/${jobId}/walk-list/imports`, method: 'POST', body }),
      invalidatesTags: ['Tasks'],
    }),
    importModels: build.mutation<TaskAdded, TakeCatalogueListRequest>({
      query: (body) => ({ url: 'catalogue/list/imports', method: 'POST', body }),
      invalidatesTags: ['Tasks'],
    }),
    cancelTask: build.mutation<undefined, string>({
      query: (id) => ({ url: `tasks/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Tasks'],
    }),
    beginTaskAgain: build.mutation<undefined, string>({
      query: (id) => ({ url: `tasks/${id}/again`, method: 'POST' }),
      invalidatesTags: ['Tasks'],
    }),
  }),
});

export const {
  useTasksQuery,
  useCancelTaskMutation,
  useBeginTaskAgainMutation,
  useOwnTasksQuery,
  useOwnTaskQuery,
  useCancelOwnTaskMutation,
  useAskForBudgetFileMutation,
  useAskForJobFileMutation,
  useImportJobMutation,
  useImportWalkListMutation,
  useImportModelsMutation,
} = tasksApi;
