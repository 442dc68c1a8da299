// The figure that a form asks for, of those given: the one it names, else the first.
export const asked = (figures) => figures.find((input) => input.name === input.form.dataset.asks) ?? figures[0] ?? null;
