package lumko.core.practice;

import java.util.EnumMap;
import java.util.Map;

/** One school for each question. */
public final class Practice {
    /** What a new organisation starts with: the first school of each question. */
    public static final Practice STARTING = new Practice(Map.of());

    private final Map<Question, School> chosen = new EnumMap<>(Question.class);

    private Practice(Map<Question, School> own) {
        for (Question question : Question.values()) {
            chosen.put(question, question.schools().getFirst());
        }
        chosen.putAll(own);
    }

    public School of(Question question) {
        return java.util.Objects.requireNonNull(chosen.get(question));
    }

    public boolean is(School school) {
        return of(school.question()) == school;
    }

    /** The same practice with another answer to one question. */
    public Practice with(School school) {
        Practice other = new Practice(chosen);
        other.chosen.put(school.question(), school);
        return other;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Practice practice && practice.chosen.equals(chosen);
    }

    @Override
    public int hashCode() {
        return chosen.hashCode();
    }

    @Override
    public String toString() {
        return chosen.toString();
    }
}
