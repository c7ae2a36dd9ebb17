package lumko.core.job;

import java.util.BitSet;
import java.util.Set;

/** A rule with the ranks of what it speaks of, so that rules that a job has nothing for are passed over at once. */
record Masked(Rule rule, BitSet before, BitSet after) {
    static Masked of(Rule rule, Ranks ranks) {
        return new Masked(rule, bits(rule.before(), ranks), bits(rule.after(), ranks));
    }

    private static BitSet bits(Set<Slot> slots, Ranks ranks) {
        BitSet bits = new BitSet();
        slots.forEach(slot -> bits.set(ranks.exact(slot)));
        return bits;
    }
}
