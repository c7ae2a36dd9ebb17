package lumko.core.step;

import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;

/** What the age and the make of a house mean for anyone who scrapes or sands in it. */
public record Site(int builtYear, boolean texturedCoating) {
    public boolean mayHoldLead(Catalogue figures) {
        return builtYear < figures.value(Figure.LEAD_BEFORE);
    }

    public boolean mayHoldAsbestos(Catalogue figures) {
        return texturedCoating && builtYear < figures.value(Figure.ASBESTOS_BEFORE);
    }
}
