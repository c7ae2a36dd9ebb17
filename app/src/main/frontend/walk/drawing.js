// Parts of a picture.
export function add(layer, name, attributes) {
  const element = document.createElementNS("http://www.w3.org/2000/svg", name);
  for (const [key, value] of Object.entries(attributes)) element.setAttribute(key, value);
  layer.append(element);
  return element;
}

// How many picture units a screen pixel is.
export const unitOf = (svg) => Number(svg.style.getPropertyValue("--u")) || 6;
