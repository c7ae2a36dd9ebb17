package lumko.core.judge;

import java.util.Optional;
import java.util.function.Supplier;

/** Something that takes long to find out and is not always asked: it is found out when it is, once. */
public final class Later<T> {
    private final Supplier<T> source;
    private Optional<T> found = Optional.empty();

    Later(Supplier<T> source) {
        this.source = source;
    }

    public synchronized T get() {
        T known = found.orElseGet(source);
        found = Optional.of(known);
        return known;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Later<?> later && later.get().equals(get());
    }

    @Override
    public int hashCode() {
        return get().hashCode();
    }

    @Override
    public String toString() {
        return get().toString();
    }
}
