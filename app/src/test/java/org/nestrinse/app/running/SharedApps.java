package org.nestrinse.app.running;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/**
 * Applications that tests use one after the other: starting one takes seconds, putting another
 * household into it does not.
 */
final class SharedApps {
  private static final List<RunningApp> IDLE = new ArrayList<>();

  static {
    Runtime.getRuntime().addShutdownHook(new Thread(SharedApps::endAll));
  }

  private SharedApps() {}

  /**
   * Returns an application that nobody uses, with a copy of this household in it.
   *
   * @param house the folder of the household
   * @param settings what it is started with; the first is the moment
   */
  static RunningApp with(Path house, List<String> settings) {
    RunningApp idle = idle(settings.contains("--nest.demo=true"));
    if (idle == null) {
      return RunningApp.toShare(house, settings);
    }
    idle.putBack(house, settings);
    return idle;
  }

  private static synchronized RunningApp idle(boolean demo) {
    RunningApp found = IDLE.stream().filter(app -> app.isDemo() == demo).findFirst().orElse(null);
    IDLE.remove(found);
    return found;
  }

  /** Takes one back for the next test; returns false when it cannot be used again. */
  static synchronized boolean takeBack(RunningApp app) {
    return app.hasOneHouse() && IDLE.add(app);
  }

  private static synchronized void endAll() {
    IDLE.forEach(RunningApp::end);
  }
}
