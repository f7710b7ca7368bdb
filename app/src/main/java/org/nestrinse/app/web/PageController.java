package org.nestrinse.app.web;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/**
 * Gives every address of a view the same page; the interface finds its way by itself. An address
 * that no view has gets the page too, which says so.
 */
@Controller
class PageController {
  private static final String PAGE = "forward:/index.html";

  @GetMapping({
    "/gather",
    "/sort",
    "/wash",
    "/card",
    "/run",
    "/dry",
    "/shelf",
    "/week",
    "/reset",
    "/record",
    "/record/{id}",
    "/kit",
    "/how/{model}"
  })
  String page() {
    return PAGE;
  }

  @GetMapping({
    "/{first:(?!api|actuator|assets)[^.]+}",
    "/{first:(?!api|actuator|assets|v3)[^.]+}/{*rest}"
  })
  String nowhere(HttpServletResponse response) {
    response.setStatus(HttpServletResponse.SC_NOT_FOUND);
    return PAGE;
  }
}
