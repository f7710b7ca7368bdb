package org.nestrinse.app.changes;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.nestrinse.app.speech.Speech;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.web.context.request.ServletWebRequest;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;

/** Answers 304 to a device that has the present answer already. */
class Freshness implements HandlerInterceptor {
  private final ChangeCount changes;

  Freshness(ChangeCount changes) {
    this.changes = changes;
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    if (!(handler instanceof HandlerMethod method)
        || !method.hasMethodAnnotation(CachedAnswer.class)) {
      return true;
    }
    response.setHeader(
        HttpHeaders.CACHE_CONTROL, CacheControl.noCache().cachePrivate().getHeaderValue());
    response.addHeader(HttpHeaders.VARY, Speech.HEADER);
    String voice = request.getHeader(Speech.HEADER);
    String tag = changes.state().tag(voice == null ? "" : voice);
    return !new ServletWebRequest(request, response).checkNotModified(tag);
  }
}
