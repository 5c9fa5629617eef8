package nabe.swap;

import java.util.EnumMap;
import java.util.Map;
import nabe.larder.CatalogueException;
import nabe.larder.ListCatalogue;
import nabe.swap.job.Job;
import nabe.words.Messages;

/** What is lost where nothing does a job well enough: honesty.json5. */
public final class Honesty {
    private static final String FILE = "honesty.json5";
    private final Map<Job, String> loses = new EnumMap<>(Job.class);
    private final String usual;

    /** One sentence; without a job the one for all others. */
    record Entry(Job job, String loses) {
        Entry {
            loses = Messages.translated(loses);
        }
    }

    public Honesty() {
        String other = null;
        for (Entry entry : ListCatalogue.read(FILE, Entry[].class)) {
            if (entry.job() == null) {
                other = entry.loses();
            } else if (loses.put(entry.job(), entry.loses()) != null) {
                throw new CatalogueException(FILE, entry.job().id(), "A job must stand once.");
            }
        }
        if (other == null) {
            throw new CatalogueException(FILE, "-", "One sentence must stand without a job, for all the others.");
        }
        usual = other;
    }

    /** @return what would be lost, in a sentence */
    String loses(Job job) {
        return loses.getOrDefault(job, usual);
    }
}
