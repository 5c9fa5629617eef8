package nabe.server.store;

import java.util.UUID;

/**
 * A dish as it stands.
 *
 * @param revision the newest row of its history
 * @param canUndo whether there is an edit to go back to; {@code canRedo} one to go forward to
 */
public record Dish(UUID id, Revision revision, boolean canUndo, boolean canRedo) {}
