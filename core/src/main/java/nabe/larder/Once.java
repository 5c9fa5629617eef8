package nabe.larder;

import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** Something worked out when it is first asked for, and once only. */
final class Once<T> implements Supplier<T> {
    private final Supplier<T> work;
    private @Nullable T done;

    Once(Supplier<T> work) {
        this.work = work;
    }

    @Override
    public synchronized T get() {
        T found = done;
        if (found == null) {
            found = work.get();
            done = found;
        }
        return found;
    }
}
