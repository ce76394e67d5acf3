import { fireEvent, render, screen } from '@testing-library/react';
import { Explained } from './Explained';
import { WORDS, type WordId } from './explained';

it.each(Object.keys(WORDS) as WordId[])(
  '%s says in a few words what it is, drawn and told, when it is asked for',
  async (id) => {
    render(<Explained id={id}>this word</Explained>);
    expect(screen.queryByRole('dialog')).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'this word' }));
    const told = await screen.findByRole('dialog', { name: WORDS[id].term });
    expect(told.textContent).toContain(WORDS[id].text);
    expect(told.querySelector('svg')!.querySelectorAll('line, path, rect, circle').length).toBeGreaterThan(1);
    expect(WORDS[id].text.split(' ').length).toBeLessThan(50);
  },
);
