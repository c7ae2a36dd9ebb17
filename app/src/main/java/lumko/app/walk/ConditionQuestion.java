package lumko.app.walk;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import lumko.app.platform.Form;
import lumko.core.fault.Condition;
import lumko.core.fault.Fault;
import lumko.core.fault.FaultKind.Asked;

/**
 * What is asked about a mark and answered by one of a few words.
 *
 * @param field its name in forms
 * @param answers all that can be answered
 */
record ConditionQuestion<E extends Enum<E>>(
        Asked asked,
        String field,
        Class<E> answers,
        Function<Condition, E> known,
        BiFunction<Condition, E, Condition> change) {
    static final List<ConditionQuestion<?>> ALL = List.of(
            of(Asked.EDGE, "edge", Condition.Edge.class, Condition::edge, Condition::with),
            of(Asked.BACKING, "backing", Condition.Backing.class, Condition::backing, Condition::with),
            of(Asked.MOVEMENT, "movement", Condition.Movement.class, Condition::movement, Condition::with),
            of(Asked.TURNS, "turns", Condition.Turns.class, Condition::turns, Condition::with),
            of(Asked.DRIVEN, "driven", Condition.Driven.class, Condition::driven, Condition::with),
            of(Asked.RECURRING, "recurring", Condition.Recurring.class, Condition::recurring, Condition::with),
            of(Asked.HOLD, "hold", Condition.Hold.class, Condition::hold, Condition::with),
            of(Asked.CAUSE, "cause", Condition.Cause.class, Condition::cause, Condition::with),
            of(Asked.OWNER, "owner", Condition.Owner.class, Condition::owner, Condition::with),
            of(Asked.FRESHNESS, "freshness", Condition.Freshness.class, Condition::freshness, Condition::with));

    private static <E extends Enum<E>> ConditionQuestion<E> of(
            Asked asked,
            String field,
            Class<E> answers,
            Function<Condition, E> known,
            BiFunction<Condition, E, Condition> change) {
        return new ConditionQuestion<>(asked, field, answers, known, change);
    }

    boolean isAskedOf(Fault fault) {
        return fault.kind().asked().contains(asked);
    }

    List<E> all() {
        return List.of(answers.getEnumConstants());
    }

    E of(Condition condition) {
        return known.apply(condition);
    }

    /** The answer, where it is not what holds of most. */
    Stream<E> unusual(Condition condition) {
        return Stream.of(of(condition)).filter(answer -> answer != of(Condition.USUAL));
    }

    /** What was answered, if it was; refused at its field where it is none of the answers. */
    Optional<UnaryOperator<Condition>> answered(Form form) {
        if (form.typed(field).isEmpty()) {
            return Optional.empty();
        }
        E answer = form.one(field, answers);
        return Optional.of(was -> change.apply(was, answer));
    }
}
