package lumko.core.activity;

import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;

/** What the age and the make of a house mean for anyone who scrapes or sands in it. */
public record Site(int builtYear, boolean texturedCoating) {
    public boolean mayHoldLead(Catalogue figures) {
        return builtYear < figures.limit(Figure.LEAD_BEFORE);
    }

    public boolean mayHoldAsbestos(Catalogue figures) {
        return texturedCoating && builtYear < figures.limit(Figure.ASBESTOS_BEFORE);
    }

    /** Whether old coats are worked wet and never sanded dry. */
    public boolean isWorkedWet(Catalogue figures) {
        return mayHoldLead(figures) || mayHoldAsbestos(figures);
    }

    /** What disturbs old coats, with the caution it asks for in this house. */
    public Move disturbing(Move move, Catalogue figures) {
        Move more = move;
        if (mayHoldLead(figures)) {
            more = more.with(Caution.LEAD).says(Advice.NO_DRY_SANDING);
        }
        if (mayHoldAsbestos(figures)) {
            more = more.with(Caution.ASBESTOS).says(Advice.SAMPLE_ASBESTOS);
        }
        return more;
    }
}
