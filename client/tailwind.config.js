const token = (name) => `var(--${name})`;

/** @type {import('tailwindcss').Config} */
module.exports = {
  content: ['./app/**/*.{ts,tsx}', './src/**/*.{ts,tsx}'],
  presets: [require('nativewind/preset')],
  darkMode: 'class',
  theme: {
    colors: {
      transparent: 'transparent',
      paper: token('paper'),
      sheet: token('sheet'),
      ink: token('ink'),
      soft: token('soft'),
      rule: token('rule'),
      metal: token('metal'),
      lime: token('lime'),
      'on-lime': token('on-lime'),
      goes: token('goes'),
      work: token('work'),
      stop: token('stop'),
      unknown: token('unknown'),
    },
    fontFamily: {
      text: ['"Atkinson Hyperlegible"', 'system-ui', 'sans-serif'],
      figure: ['"Barlow Condensed"', '"Arial Narrow"', 'sans-serif'],
    },
    fontSize: {
      label: ['15px', '20px'],
      body: ['16px', '22px'],
      lead: ['18px', '24px'],
      title: ['23px', '28px'],
      stand: ['33px', '38px'],
      reading: ['76px', '80px'],
    },
  },
};
