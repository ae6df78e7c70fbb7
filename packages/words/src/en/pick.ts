/** Words of picking a valve, and of a pick. */
export const pick = {
  pick: {
    title: '{{name}} for {{tag}}',
    because: 'Because',
    needed: 'Give the reason in a sentence your foreman would accept.',
    written: 'Suggested text: edit it as needed. Ctrl+Enter picks.',
    leave: 'Cancel',
    pickIt: 'Pick valve',
    done: '{{tag}}: {{model}} picked',
    meanwhile:
      '{{by}} has picked here in the meantime: {{theirs}} Pick yours anyway, or cancel and keep theirs.',
    current: 'Picked: {{model}}',
    label: 'Picked',
    signed: '{{by}}, {{date}}',
    letGo: 'Remove pick',
    gone: '{{tag}}: pick removed',
    heldUp: '{{fact}} is now above {{value}}, the limit when this valve was picked. Check the pick again.',
    heldDown: '{{fact}} is now below {{value}}, the limit when this valve was picked. Check the pick again.',
  },
  pickMany: {
    button: 'Pick for more positions…',
    title: '{{model}} for more positions',
    body: 'Each position is judged on its own duty. Positions with the same duty and no pick are ticked; where the valve is ruled out it cannot be ticked.',
    find: 'Tag, room, line, size',
    all: 'Tick all shown',
    nobody: 'Tick none',
    replaces: 'replaces the current pick',
    pick: 'Pick for {{count}}',
    done_one: '{{model}} picked for {{count}} position',
    done_other: '{{model}} picked for {{count}} positions',
  },
} as const;
