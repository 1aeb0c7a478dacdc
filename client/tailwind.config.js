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
    // In rem, so that text follows the size that a reader has set; what is largest already never outgrows the window.
    fontSize: {
      label: ['0.9375rem', '1.25rem'],
      body: ['1rem', '1.375rem'],
      lead: ['1.125rem', '1.5rem'],
      title: ['min(1.4375rem, 8vw)', 'min(1.75rem, 9.6vw)'],
      stand: ['min(2.0625rem, 10.5vw)', 'min(2.375rem, 12vw)'],
      reading: ['min(4.75rem, 23vw)', 'min(5rem, 24vw)'],
    },
  },
};
