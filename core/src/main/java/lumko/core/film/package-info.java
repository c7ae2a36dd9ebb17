/**
 * Films of paint by the two-constant theory of Kubelka and Munk: colorants, their mixtures, how a coat hides what is under it,
 * recipes and corrections, ageing and sheen. Spectra have 31 bands, 400–700 nm; K and S are per micrometre of dry film.
 * Sources: Kubelka, J. Opt. Soc. Am. 38 (1948) 448; Saunderson, J. Opt. Soc. Am. 32 (1942) 727.
 */
@NullMarked
package lumko.core.film;

import org.jspecify.annotations.NullMarked;
