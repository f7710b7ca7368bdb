package org.nestrinse.app.kit;

/**
 * Said before something is removed. Whoever needs it still throws {@link
 * org.nestrinse.app.problem.StateConflict} with what has to come first.
 *
 * @param thing what
 * @param id which
 * @param name what it is called
 */
public record BeingRemoved(Thing thing, long id, String name) {}
