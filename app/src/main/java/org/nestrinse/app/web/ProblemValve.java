package org.nestrinse.app.web;

import java.io.IOException;
import java.io.Writer;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** What the server itself refuses, such as a broken request line, is a problem document as well. */
class ProblemValve extends ErrorReportValve {
  private static final int FIRST_ERROR = 400;
  private static final String PROBLEM =
      "{\"title\":\"Not understood\",\"status\":%d,\"detail\":\"This request cannot be understood.\"}";

  @Override
  protected void report(Request request, Response response, Throwable throwable) {
    int status = response.getStatus();
    if (status < FIRST_ERROR || response.getContentWritten() > 0 || !response.setErrorReported()) {
      return;
    }
    try {
      response.setContentType("application/problem+json");
      response.setCharacterEncoding("UTF-8");
      Writer writer = response.getReporter();
      if (writer != null) {
        writer.write(PROBLEM.formatted(status));
        response.finishResponse();
      }
    } catch (IOException e) {
      // The other side is gone; nobody is left to answer.
    }
  }

  /** Puts it into the server. */
  @Component
  static class Put implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    @Override
    public void customize(TomcatServletWebServerFactory factory) {
      factory.addContextCustomizers(
          context ->
              ((StandardHost) context.getParent()).getPipeline().addValve(new ProblemValve()));
    }
  }
}
