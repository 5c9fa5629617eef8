package nabe.larder;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.function.Supplier;

/** Part of the catalogue read on another thread meanwhile; a fault in it is thrown where it is asked for. */
public final class Alongside<T> implements Supplier<T> {
    private final CompletableFuture<T> reading;

    public Alongside(Supplier<T> read) {
        reading = CompletableFuture.supplyAsync(read);
    }

    @Override
    public T get() {
        try {
            return reading.join();
        } catch (CompletionException e) {
            throw e.getCause() instanceof RuntimeException cause ? cause : e;
        }
    }
}
