import type {
  AcceptInvitationRequest,
  AccessView,
  ChangePasswordRequest,
  InvitationOfferView,
  InvitationView,
  NewInvitationView,
  Permission,
  PersonView,
  Role,
  SessionView,
  SignInRequest,
  StartCompanyRequest,
} from '@grevik/contracts';
import type { Language } from '@grevik/words';
import { ALL, api, useSessionQuery } from './api';

export { useSessionQuery };

/** Loaded with the first use: the first screen does not wait for it. */
export const keepOnlyFor = async (personId: string | undefined): Promise<void> =>
  (await import('./kept-job')).keepOnlyFor(personId);

/** Signing in and out, and the people of the company. Whoever signs in or out sees everything anew. */
export const peopleApi = api.injectEndpoints({
  endpoints: (build) => ({
    signIn: build.mutation<SessionView, SignInRequest>({
      query: (body) => ({ url: 'session', method: 'POST', body }),
      invalidatesTags: ['Session'],
    }),
    lookAround: build.mutation<SessionView, { role: Role }>({
      query: (body) => ({ url: 'session/demo', method: 'POST', body }),
      invalidatesTags: ['Session'],
    }),
    startCompany: build.mutation<SessionView, StartCompanyRequest>({
      query: (body) => ({ url: 'session/company', method: 'POST', body }),
      invalidatesTags: ['Session'],
    }),
    signOut: build.mutation<undefined, { everywhere: boolean }>({
      query: ({ everywhere }) => ({ url: everywhere ? 'session/everywhere' : 'session', method: 'DELETE' }),
      // Nothing of one person is left for the next at this device.
      onQueryStarted: async (_everywhere, { dispatch, queryFulfilled }) => {
        await queryFulfilled;
        dispatch(api.util.resetApiState());
        await keepOnlyFor(undefined);
      },
    }),
    changePassword: build.mutation<SessionView, ChangePasswordRequest>({
      query: (body) => ({ url: 'session/password', method: 'PUT', body }),
    }),
    access: build.query<AccessView, void>({ query: () => 'access' }),
    people: build.query<PersonView[], void>({
      query: () => 'people',
      providesTags: [{ type: 'People', id: ALL }],
    }),
    setRole: build.mutation<PersonView, { id: string; version: number; role: Role }>({
      query: ({ id, ...body }) => ({ url: `people/${id}/role`, method: 'PUT', body }),
      invalidatesTags: ['People', 'Session'],
    }),
    takeOut: build.mutation<PersonView, string>({
      query: (id) => ({ url: `people/${id}`, method: 'DELETE' }),
      invalidatesTags: ['People', 'Session'],
    }),
    keepLanguage: build.mutation<undefined, Language>({
      query: (language) => ({ url: 'session/language', method: 'PUT', body: { language } }),
      // Screens opened later speak it too, whether the server has answered or not.
      onQueryStarted: (language, { dispatch }) => {
        dispatch(
          api.util.updateQueryData('session', undefined, ({ session }) => {
            if (session) session.language = language;
          }),
        );
      },
    }),
    invitations: build.query<InvitationView[], void>({
      query: () => 'people/invitations',
      providesTags: [{ type: 'People', id: ALL }],
    }),
    invite: build.mutation<NewInvitationView, { role: Role }>({
      query: (body) => ({ url: 'people/invitations', method: 'POST', body }),
      invalidatesTags: ['People'],
    }),
    withdraw: build.mutation<undefined, string>({
      query: (id) => ({ url: `people/invitations/${id}`, method: 'DELETE' }),
      invalidatesTags: ['People'],
    }),
    offer: build.query<InvitationOfferView, string>({
      query: (token) => ({ url: 'people/invitations/look', method: 'POST', body: { token } }),
    }),
    accept: build.mutation<SessionView, AcceptInvitationRequest>({
      query: (body) => ({ url: 'people/invitations/accept', method: 'POST', body }),
      invalidatesTags: ['Session'],
    }),
  }),
});

export const {
  useSignInMutation,
  useLookAroundMutation,
  useStartCompanyMutation,
  useSignOutMutation,
  useChangePasswordMutation,
  useAccessQuery,
  usePeopleQuery,
  useSetRoleMutation,
  useTakeOutMutation,
  useInvitationsQuery,
  useInviteMutation,
  useWithdrawMutation,
  useKeepLanguageMutation,
  useOfferQuery,
  useAcceptMutation,
} = peopleApi;

/** Whether whoever is signed in may do something. The server decides; this only spares a refusal. */
export function useMay(permission: Permission): boolean {
  return useSessionQuery().data?.session?.may.includes(permission) ?? false;
}
