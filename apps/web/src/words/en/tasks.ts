/** Words of what the servers do by themselves. */
export const tasks = {
  tasks: {
    title: 'Background tasks',
    body: 'What Grevik’s servers are doing by themselves. It goes on when a server is restarted.',
    none: 'Nothing has run yet. Quote requests, and jobs judged again after a change of the catalogue or the house rules, appear here.',
    task: 'Task',
    state: 'State',
    added: 'Added',
    of: '{{done}} of {{total}}',
    tries: 'tried {{count}} times',
    cancel: 'Cancel',
    again: 'Start again',
    kinds: {
      quote: 'Quote request to {{what}}',
      'judge-jobs': 'Judge {{what}} again',
    },
    states: {
      waiting: 'waiting',
      running: 'running',
      done: 'done',
      failed: 'failed',
      cancelled: 'cancelled',
    },
  },
};
