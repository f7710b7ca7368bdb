package org.nestrinse.app.web;

import io.swagger.v3.oas.annotations.Hidden;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Gives every address of a view the same page; the interface finds its way by itself. */
@Hidden
@Controller
class PageController {
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
    "/kit"
  })
  String page() {
    return "forward:/index.html";
  }
}
