package org.nestrinse.app.running;

import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;

/**
 * Starts the demo household once for all tests that ask for it by a {@link RunningApp} parameter.
 */
public final class DemoApp implements ParameterResolver {
  /** A Wednesday in May, twenty to ten: the moment of all demo tests and pictures. */
  public static final String MOMENT = "2026-05-20T09:40:00Z";

  @Override
  public boolean supportsParameter(ParameterContext parameter, ExtensionContext extension) {
    return parameter.getParameter().getType() == RunningApp.class;
  }

  @Override
  public Object resolveParameter(ParameterContext parameter, ExtensionContext extension) {
    return extension
        .getRoot()
        .getStore(ExtensionContext.Namespace.create(DemoApp.class))
        .getOrComputeIfAbsent("demo", key -> RunningApp.demo(MOMENT), RunningApp.class);
  }
}
