package nabe.server;

import java.util.concurrent.atomic.AtomicReference;
import nabe.plan.Home;
import nabe.plan.Planner;
import nabe.server.store.HomeStore;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;

/**
 * The planner in this house. What is known of the house is held in memory, so that plans go on being made while the database
 * is away; every change of the house lays the table afresh.
 */
@Component
public class KitchenTable {
    private static final Logger LOG = LoggerFactory.getLogger(KitchenTable.class);
    private final Planner bare;
    private final HomeStore store;
    private final AtomicReference<Planner> laid = new AtomicReference<>();

    KitchenTable(Planner bare, HomeStore store) {
        this.bare = bare;
        this.store = store;
    }

    /** @return the planner of this house, or of a house nothing is known of while the database has never answered */
    public Planner planner() {
        Planner known = laid.get();
        if (known != null) {
            return known;
        }
        try {
            return lay();
        } catch (DataAccessException | TransactionException e) {
            LOG.warn("The house cannot be read yet: {}", e.getMessage());
            return bare;
        }
    }

    /** @return the planner of a house nothing is known of */
    public Planner bare() {
        return bare;
    }

    /** Reads the house again after a change. */
    public Planner lay() {
        Planner fresh = bare.at(new Home(store.house().house().house(), store.products(), store.wordings()));
        laid.set(fresh);
        return fresh;
    }
}
