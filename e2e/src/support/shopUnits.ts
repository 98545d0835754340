/** Units of a shop in millimetres, and of one in inches, as the house keeps them. */
export const millimetres = {
  ...{ length: 'mm', travel: 'mm/s', gasFlow: 'L/min' },
  ...{ temperature: '°C', pressure: 'bar', mass: 'kg', currency: '' },
};
export const inches = {
  ...{ length: 'in', travel: 'in/min', gasFlow: 'CFH' },
  ...{ temperature: '°F', pressure: 'psi', mass: 'lb', currency: '$' },
};
