/** Words of picking a valve, and of a pick. */
export const pick = {
  pick: {
    title: '{{name}} para {{tag}}',
    because: 'Porque',
    needed: 'Dé la razón en una frase que su capataz aceptaría.',
    written: 'Texto sugerido: cámbielo como haga falta. Ctrl+Enter elige.',
    leave: 'Cancelar',
    pickIt: 'Elegir válvula',
    done: '{{tag}}: {{model}} elegida',
    meanwhile:
      '{{by}} eligió aquí mientras tanto: {{theirs}} Elija la suya de todos modos, o cancele y deje la otra.',
    current: 'Elegida: {{model}}',
    label: 'Elegida',
    signed: '{{by}}, {{date}}',
    letGo: 'Quitar elección',
    gone: '{{tag}}: elección quitada',
    heldUp:
      '{{fact}} ahora está arriba de {{value}}, el límite cuando se eligió esta válvula. Revise la elección otra vez.',
    heldDown:
      '{{fact}} ahora está abajo de {{value}}, el límite cuando se eligió esta válvula. Revise la elección otra vez.',
  },
  pickMany: {
    button: 'Elegir para más posiciones…',
    title: '{{model}} para más posiciones',
    body: 'Cada posición se juzga por su propio servicio. Las posiciones con el mismo servicio y sin elección están marcadas; donde la válvula está descartada no se puede marcar.',
    find: 'Etiqueta, cuarto, línea, tamaño',
    all: 'Marcar todas las mostradas',
    nobody: 'No marcar ninguna',
    replaces: 'reemplaza la elección actual',
    pick: 'Elegir para {{count}}',
    done_one: '{{model}} elegida para {{count}} posición',
    done_other: '{{model}} elegida para {{count}} posiciones',
  },
};
