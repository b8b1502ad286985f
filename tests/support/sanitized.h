#pragma once
// Whether an address sanitizer is at work, whose own memory takes no limits and no replaced new.
#if defined(__SANITIZE_ADDRESS__)
#define ENKINET_SANITIZED
#elif defined(__has_feature)
#if __has_feature(address_sanitizer)
#define ENKINET_SANITIZED
#endif
#endif

/// Fewer cases are enough there: each is the same code, twenty times as slow.
#ifdef ENKINET_SANITIZED
constexpr bool kSanitized = true;
#else
constexpr bool kSanitized = false;
#endif

/// How long a test waits for something that is sure to come: it goes on as soon as that is there, so patience costs
/// nothing, and a busy machine or a sanitizer is no failure.
constexpr int kPatience_ms = kSanitized ? 600000 : 120000;
